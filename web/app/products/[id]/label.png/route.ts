import { answerLabel } from '../../../../label/answered'

export const dynamic = 'force-dynamic'
export const GET = async (request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> =>
  answerLabel(request, (await params).id, 'png')
